// Sets the theme before the first paint, from what was chosen last, else from the system.
(function () {
  var mode = null;
  try {
    mode = localStorage.getItem('mode-watcher-mode');
  } catch {
    mode = null;
  }
  var dark = mode === 'dark' || (mode !== 'light' && matchMedia('(prefers-color-scheme: dark)').matches);
  document.documentElement.setAttribute('data-theme', dark ? 'lamp' : 'day');
})();
