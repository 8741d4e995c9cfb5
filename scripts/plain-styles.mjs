// What a unit test asks of styles is whether something is shown: by an attribute or by its own style. Working out
// every rule of every sheet for every element it looks at took most of the time; what sheets do to a page is looked
// at in a browser.
const shown = {
  display: 'block',
  visibility: 'visible',
  pointerEvents: 'auto',
  content: 'normal',
  getPropertyValue(name) {
    return this[name.replace(/-(\w)/g, (_, letter) => letter.toUpperCase())] ?? '';
  },
};
globalThis.getComputedStyle = globalThis.window.getComputedStyle = (element) => {
  const own = element.style;
  const style = Object.create(shown);
  for (const name of Array.from(own ?? [])) {
    const key = name.replace(/-(\w)/g, (_, letter) => letter.toUpperCase());
    style[key] = own.getPropertyValue(name);
  }
  if (element.hidden) style.display = 'none';
  for (let up = element; up; up = up.parentElement)
    if (up.style?.visibility) {
      style.visibility = up.style.visibility;
      break;
    }
  return style;
};
