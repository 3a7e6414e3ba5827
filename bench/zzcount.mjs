import { layOut } from '@nadir/core';
import { defaultBlocks } from '../core/dist/testing/default-blocks.js';
const hist={};
for (const [n,s] of defaultBlocks){ globalThis.__n=0; const t=performance.now(); const b=layOut(s); const ms=performance.now()-t; hist[globalThis.__n]=(hist[globalThis.__n]??0)+1; }
console.log(hist);
