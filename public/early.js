// Draws the first page as it last stood, before the application runs: of it only what lasts, shelves and glasses and names.
// It reads the store and never writes: a store that is not there yet is not made.
(function () {
  var base = new URL('.', document.currentScript.src).pathname.replace(/\/$/, '');
  if (location.pathname !== base + '/' || !window.indexedDB) return;
  var asked = indexedDB.open('ombrello' + base.replace(/\//g, '.'), 1);
  asked.onupgradeneeded = function () {
    asked.transaction.abort();
  };
  asked.onsuccess = function () {
    var database = asked.result;
    try {
      var table = database.transaction('entries').objectStore('entries');
      var open = table.get('open');
      var kept = table.get('first-picture');
      kept.onsuccess = function () {
        try {
          draw(open.result, JSON.parse(kept.result || 'null'));
        } catch (fault) {
          // The application comes in a moment anyway.
        }
        database.close();
      };
    } catch (fault) {
      database.close();
    }
  };

  function draw(open, picture) {
    var early = document.getElementById('early');
    var late = document.querySelector('#root [role="main"]');
    if (!early || late || !picture || picture.format !== 1 || picture.kitchen !== open) return;
    if (picture.width !== innerWidth) return;
    var dark = matchMedia('(prefers-color-scheme: dark)').matches;
    if (picture.theme === 'system' && picture.dark !== dark) return;
    var style = document.createElement('style');
    style.textContent = picture.css;
    early.appendChild(style);
    var page = document.createElement('div');
    page.innerHTML = picture.html;
    early.appendChild(page);
    early.style.background = picture.ground;
    document.documentElement.classList.add('has-early');
    performance.mark('early');
  }
})();
