/** Puts a text on the clipboard. Without https a browser may have none. @returns whether it is there. */
export async function copyText(text: string): Promise<boolean> {
  try {
    await navigator.clipboard.writeText(text);
    return true;
  } catch {
    return false;
  }
}
