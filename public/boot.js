/* Where nothing of the app stands yet: a script that cannot load says so, instead of a white page. */
(function () {
  var told = false;
  /* Beside the root, which the app may clear at any time; nowhere while a screen stands there. */
  function placeFor() {
    var root = document.getElementById('root');
    var opening = document.getElementById('boot');
    if (!root || (!opening && root.innerText.trim() !== '')) return null;
    if (opening) opening.remove();
    var place = document.createElement('p');
    place.id = 'boot';
    document.body.insertBefore(place, root);
    return place;
  }
  function tell(words) {
    var place = told ? null : placeFor();
    if (!place) return;
    told = true;
    place.setAttribute('role', 'alert');
    place.textContent = words + ' ';
    var again = document.createElement('button');
    again.textContent = 'Load the page anew';
    again.onclick = function () {
      location.reload();
    };
    place.appendChild(again);
  }
  window.addEventListener(
    'error',
    function (event) {
      var from = event.target;
      if (from && from.tagName === 'SCRIPT') {
        tell('A file of Fresh Porch could not be loaded. What you kept is still on this device.');
      } else if (event.message) {
        tell('Fresh Porch could not start: ' + event.message + '. What you kept is still here.');
      }
    },
    true,
  );
})();
