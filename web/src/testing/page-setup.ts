// The page of the tests lays nothing out, and has nowhere to scroll to.
Element.prototype.scrollIntoView = () => undefined;
