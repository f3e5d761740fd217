/** Words handed to whatever the device sends them with; where it has nothing, to the clipboard. */
export async function shareText(title: string, text: string): Promise<'sent' | 'copied' | 'refused' | 'not-now'> {
  if (typeof navigator.share === 'function')
    try {
      await navigator.share({ title, text });
      return 'sent';
    } catch (e) {
      // Closed by the person: nothing went wrong.
      if (e instanceof DOMException && e.name === 'AbortError') return 'not-now';
    }
  try {
    await navigator.clipboard.writeText(text);
    return 'copied';
  } catch {
    return 'refused';
  }
}
