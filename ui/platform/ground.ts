/**
 * The ground colour in force, where public/early.js finds it before anything is drawn. Only a colour: a closed storage
 * loses nothing.
 */
export function rememberGround(colour: string): void {
  try {
    localStorage.setItem('moss-kettle-ground', colour);
  } catch {
    // The next page starts on the day's ground.
  }
}
