/** Commands on paces and results. */

export { choosePaceAim, repace, takeBackRepacing, takePaces, toggleDistance } from './repace.js';
export { addResult, choosePaceModel, removeResult, setHeart } from './results.js';
