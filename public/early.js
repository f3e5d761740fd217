// The page's ground in the last light chosen, before anything else is drawn: no white flash at night.
try {
  let ground = localStorage.getItem('moss-kettle-ground');
  if (ground && /^#[0-9A-F]{6}$/i.test(ground)) document.documentElement.style.background = document.body.style.background = ground;
} catch (_e) {
  // Storage is closed to us: the day's ground it is.
}
