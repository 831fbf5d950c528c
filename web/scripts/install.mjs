// Installs the front end's packages when they are missing or the lock file is newer; says plainly what is wrong.
import { spawnSync } from "node:child_process";
import { existsSync, statSync } from "node:fs";

const mark = "node_modules/.package-lock.json";
const major = Number(process.versions.node.split(".")[0]);
if (major < 20) {
  console.error(`Node ${process.versions.node} is too old here: install Node 20 or newer.`);
  process.exit(1);
}
const fresh = existsSync(mark) && statSync(mark).mtimeMs >= statSync("package-lock.json").mtimeMs;
if (!fresh) {
  // Not `npm ci`: it rejects lock files that leave out optional packages of other platforms.
  const run = spawnSync("npm", ["install", "--no-audit", "--no-fund", "--no-save"], { stdio: "inherit" });
  process.exit(run.status ?? 1);
}
