let heading = '';
let waiting = 0;

function say(): void {
  document.title = waiting > 0 ? `(${waiting}) ${heading}` : heading;
}

/** What the window is called: the view, and the shop. */
export function titled(words: string): void {
  heading = words;
  say();
}

/** How much waits to be heard: before the title, and as a dot on the icon. */
export function waits(count: number): void {
  waiting = count;
  say();
  document.querySelector('link[rel="icon"]')?.setAttribute('href', count > 0 ? '/icon-calls.svg' : '/icon.svg');
}
