/** Milliseconds between two looks. */
const LOOK_MS = 1000;

const isThere = (pid: number): boolean => {
  try {
    // Signal 0 only asks whether there is such a process.
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
};

/** Calls once when the process that started this one is gone: a server nobody sees would hold its port and data file. */
export const whenParentGoes = (gone: () => void): void => {
  const parent = process.ppid;
  const timer = setInterval(() => {
    // Where the system gives orphans another parent, and where it does not.
    if (process.ppid === parent && isThere(parent)) return;
    clearInterval(timer);
    gone();
  }, LOOK_MS);
  timer.unref();
};
