/** Fills the screen with the board, or gives it back. A browser may refuse; the board then stays as it is. */
export const toggleFullscreen = (): void => {
  if (document.fullscreenElement !== null) void document.exitFullscreen();
  else document.documentElement.requestFullscreen?.().catch(() => undefined);
};
