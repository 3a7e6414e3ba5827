// The page of the tests lays nothing out, and has nowhere to scroll to.
Element.prototype.scrollIntoView = () => undefined;

// And so nothing changes its size.
globalThis.ResizeObserver = class {
  observe = () => undefined;
  unobserve = () => undefined;
  disconnect = () => undefined;
};
