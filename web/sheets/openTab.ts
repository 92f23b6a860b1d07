/** A tab for a PDF that is not made yet: browsers let a page open one only while a click lasts. */
export const openTab = (): { readonly show: (address: string) => void; readonly close: () => void } => {
  const tab = window.open('', '_blank');
  return {
    show: (address) => {
      // Where the browser opened none, the PDF opens here: it can be gone back from.
      if (tab === null) window.location.href = address;
      else tab.location.href = address;
    },
    close: () => tab?.close(),
  };
};
