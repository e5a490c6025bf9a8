// Runs before anything else: sets the theme before the first paint, from what was chosen last, else from the system.
(function () {
  // Where a browser refuses its small storage, even to be asked for it is an error. A stand-in that forgets lets the pages
  // open and say so themselves.
  ['localStorage', 'sessionStorage'].forEach(function (name) {
    try {
      window[name].getItem('');
    } catch {
      var kept = new Map();
      var value = {
        get length() {
          return kept.size;
        },
        key: (i) => Array.from(kept.keys())[i] ?? null,
        getItem: (key) => kept.get(String(key)) ?? null,
        setItem: (key, text) => void kept.set(String(key), String(text)),
        removeItem: (key) => void kept.delete(String(key)),
        clear: () => kept.clear()
      };
      Object.defineProperty(window, name, { value, configurable: true });
    }
  });
  var mode = localStorage.getItem('mode-watcher-mode');
  var dark = mode === 'dark' || (mode !== 'light' && matchMedia('(prefers-color-scheme: dark)').matches);
  document.documentElement.setAttribute('data-theme', dark ? 'lamp' : 'day');
})();
