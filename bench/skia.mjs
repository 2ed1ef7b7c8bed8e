// Skia's PathOps (npm pathkit-wasm) on the words that bench_peers wrote, for tools/weld-table.
//   node skia.mjs FOLDER-WITH-node_modules WORDS.json RESULT.json
import fs from 'node:fs';
import { createRequire } from 'node:module';

const [folder, words_file, result_file] = process.argv.slice(2);
const require = createRequire(folder + '/');
const init = require('pathkit-wasm/bin/pathkit.js');
const binary = fs.readFileSync(require.resolve('pathkit-wasm/bin/pathkit.wasm'));
const PathKit = await init({ wasmBinary: binary });

function simplifyAll(glyphs) {
  const all = PathKit.FromSVGString(glyphs.join(' '));
  all.setFillType(PathKit.FillType.WINDING);
  return all.simplify() === false ? null : all;
}

function uniteOneByOne(glyphs) {
  let all = null;
  for (const d of glyphs) {
    const next = PathKit.FromSVGString(d);
    next.setFillType(PathKit.FillType.WINDING);
    if (all === null) {
      all = next;
      continue;
    }
    const is_done = all.op(next, PathKit.PathOp.UNION) !== false;
    next.delete();
    if (!is_done) return null;
  }
  return all;
}

// One glyph after the other takes minutes from some hundred letters on.
const most_letters = { 'Skia PathOps, one by one (WebAssembly)': 100 };
const methods = { 'Skia PathOps, simplify all (WebAssembly)': simplifyAll, 'Skia PathOps, one by one (WebAssembly)': uniteOneByOne };
const input = JSON.parse(fs.readFileSync(words_file));
const output = {};
for (const [name, method] of Object.entries(methods)) {
  input.words.slice(0, 20).forEach((w) => method(w.glyphs)); // the compiler warms up
  const run = (w, repeats) => {
    let best = Infinity, path = null;
    for (let i = 0; i < repeats; ++i) {
      const begin = process.hrtime.bigint();
      path?.delete();
      path = method(w.glyphs);
      best = Math.min(best, Number(process.hrtime.bigint() - begin) / 1e6);
    }
    const d = path === null ? null : path.toSVGString();
    path?.delete();
    return { ms: best, d };
  };
  output[name] = { words: input.words.map((w) => run(w, 2)),
    growth: input.growth.filter((w) => w.glyphs.length <= (most_letters[name] ?? Infinity)).map((w) => run(w, 1).ms) };
}
fs.writeFileSync(result_file, JSON.stringify(output));
