// Makes timing-table.csv: x1,y1,x2,y2,time,progress by the npm package bezier-easing 2.1.0, an implementation of the
// CSS cubic-bezier timing function that shares no code with ours. Run: npm install bezier-easing@2.1.0 && node timing-table.mjs
// It solves to about 1e-7 in time; its progress is good to about 1e-6, which is what the test allows.
import { createRequire } from "node:module";
import { writeFileSync } from "node:fs";
const bezier = createRequire(import.meta.url)("bezier-easing");
const curves = [
  [0.42, 0, 1, 1], [0, 0, 0.58, 1], [0.42, 0, 0.58, 1], [0.25, 0.1, 0.25, 1],
  [0.1, 0.9, 0.2, 1], [0.8, 0, 0.2, 1], [0.3, -0.4, 0.7, 1.4], [0.5, 0.5, 0.5, 0.5],
];
const rows = [];
for (const c of curves) {
  const ease = bezier(...c);
  for (let i = 0; i <= 40; i++) rows.push([...c, i / 40, ease(i / 40)].join(","));
}
writeFileSync("timing-table.csv", rows.join("\n") + "\n");
