/** Pages fetch before they have a heading; after this it is not waited for any more. */
const LONGEST_MS = 3000;

/**
 * Puts the focus on the heading of the page that has just been opened, so that it is read out and the next Tab goes on from
 * there. Whoever has gone on meanwhile is left alone.
 */
export function focusHeading(): void {
  const began = document.activeElement;
  const put = (): boolean => {
    const now = document.activeElement;
    if (now !== began && now !== document.body && now !== null) {
      return true;
    }
    const heading = document.querySelector<HTMLElement>('h1');
    if (heading) {
      heading.tabIndex = -1;
      heading.focus({ preventScroll: true });
    }
    return heading !== null;
  };
  if (put()) {
    return;
  }
  const observer = new MutationObserver(() => put() && observer.disconnect());
  observer.observe(document.body, { childList: true, subtree: true });
  setTimeout(() => observer.disconnect(), LONGEST_MS);
}
