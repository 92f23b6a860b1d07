// Makes sure a fresh clone has what it needs. Node built-ins only: nothing else is installed yet.
import { createHash } from 'node:crypto';
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('..', import.meta.url));
const at = (...parts) => join(ROOT, ...parts);

export const giveUp = (sentence) => {
  console.error(`Hoppel cannot start: ${sentence}`);
  process.exit(1);
};

/** Node 20.20 or newer: older ones lack parts of the standard library Hoppel uses. */
export const ensureNode = (version = process.versions.node) => {
  const [major, minor] = version.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 20))
    giveUp(`it needs Node 20.20 or newer, and this is Node ${version}. Get it from nodejs.org or your school's IT.`);
};

/** Runs a command and waits; its output goes straight through unless it is quiet. */
export const run = (command, args, options = {}) =>
  spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });

const stamp = (file, value) => (existsSync(file) && readFileSync(file, 'utf8') === value ? 'same' : 'different');

/** What the packages that are installed were installed from: this lock, by this Node. */
const wantedPackages = () =>
  createHash('sha256')
    .update(readFileSync(at('package-lock.json'), 'utf8'))
    .update(process.version)
    .digest('hex');
const STAMP = at('node_modules', '.lock-stamp');

/** Milliseconds between two looks whether another install has ended. */
const INSTALL_LOOK_MS = 500;
const INSTALLING = at('.installing');
const isRunning = (pid) => {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return error.code === 'EPERM';
  }
};
/** Waits until nobody installs here, and takes the turn: two at once would take each other's files away. @returns gives it back */
const takeInstallTurn = () => {
  for (let said = false; ;) {
    try {
      writeFileSync(INSTALLING, String(process.pid), { flag: 'wx' });
      return () => rmSync(INSTALLING, { force: true });
    } catch (error) {
      if (error.code !== 'EEXIST') throw error;
    }
    const holder = Number(readFileSync(INSTALLING, { encoding: 'utf8', flag: 'a+' }));
    // One that was cut off gives nothing back.
    if (!Number.isInteger(holder) || holder === 0 || !isRunning(holder)) rmSync(INSTALLING, { force: true });
    else {
      if (!said) console.log('Another start is installing packages; this one waits for it ...');
      said = true;
      Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, INSTALL_LOOK_MS);
    }
  }
};

/** Installs the locked packages unless exactly these are there already; a half-finished install is redone. */
export const ensurePackages = () => {
  const wanted = wantedPackages();
  if (stamp(STAMP, wanted) === 'same') return;
  const giveBack = takeInstallTurn();
  try {
    // Whoever was waited for has installed just these.
    if (stamp(STAMP, wanted) === 'same') return;
    console.log('Installing packages (once, a few minutes) ...');
    const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm';
    const { status } = run(npm, ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
      shell: process.platform === 'win32',
      // The database driver is compiled where no ready-made one can be fetched; -O1 halves the wait.
      env: { ...process.env, CFLAGS: '-O1', CXXFLAGS: '-O1' },
    });
    if (status !== 0) giveUp('the packages could not be installed; the lines above say why.');
    writeFileSync(STAMP, wanted);
  } finally {
    giveBack();
  }
};

/**
 * For commands that look after the data: they install nothing, for a Hoppel that runs would lose its packages under it. Built ones are used where
 * there are some. @returns what Node is started with to run one
 */
export const maintenance = (name, source) => {
  const built = at('dist', 'server', `${name}.js`);
  if (existsSync(built)) return [built];
  if (existsSync(at('node_modules', 'tsx'))) return ['--import', 'tsx', at(source)];
  return giveUp('its packages are not installed yet. Start it once with npm start.');
};

const filesBelow = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    return entry.isDirectory() ? filesBelow(path) : [path];
  });

/** Builds the interface and the server unless the last build was made from exactly these sources. */
export const ensureBuild = () => {
  const sources = ['core', 'contract', 'server', 'web', 'demo'].flatMap((folder) => filesBelow(at(folder)));
  const hash = createHash('sha256');
  for (const file of [...sources, at('package-lock.json'), at('tools', 'build.mjs')])
    if (statSync(file).isFile() && !file.endsWith('.test.ts')) hash.update(file).update(readFileSync(file));
  const wanted = hash.digest('hex');
  const file = at('dist', '.source-stamp');
  if (stamp(file, wanted) === 'same') return;
  console.log('Building ...');
  const { status } = run(process.execPath, [at('tools', 'build.mjs')]);
  if (status !== 0) giveUp('the build failed; the lines above say why.');
  writeFileSync(file, wanted);
};

const CHROMIUM = process.env.CHROMIUM_BIN ?? '/usr/bin/chromium';
const DRIVER = process.env.CHROMEDRIVER_BIN ?? '/usr/bin/chromedriver';
/** The same engine without a browser round it: a fifth less work. */
const SHELL = '/usr/bin/chromium-headless-shell';

const APT = '/usr/bin/apt-get';
const mayInstall = () => process.getuid?.() === 0 && existsSync(APT);
const apt = (...args) =>
  run(APT, ['-q', ...args], { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }, stdio: 'pipe' });

/** Chromium and its driver, for what a browser is needed for: used where they are, installed from Debian when missing and root. */
export const ensureBrowser = () => {
  if (existsSync(CHROMIUM) && existsSync(DRIVER)) return;
  if (!mayInstall())
    giveUp(
      'the browser tests need Chromium and ChromeDriver; set CHROMIUM_BIN and CHROMEDRIVER_BIN to where they are.',
    );
  console.log('Installing Chromium and ChromeDriver ...');
  for (const args of [['update'], ['install', '-y', '--no-install-recommends', 'chromium', 'chromium-driver']]) {
    const { status, stdout, stderr } = apt(...args);
    if (status !== 0) giveUp(`apt-get ${args[0]} failed: ${stdout}${stderr}`);
  }
};

/** What printed pages are measured with: it makes pictures of PDFs, and is no part of Hoppel. */
export const ensurePoppler = () => {
  if (existsSync('/usr/bin/pdftoppm')) return;
  if (!mayInstall())
    giveUp('the tests of printed pages need pdftoppm, of Debian’s poppler-utils or another’s poppler.');
  console.log('Installing poppler-utils ...');
  for (const args of [['update'], ['install', '-y', '--no-install-recommends', 'poppler-utils']]) {
    const { status, stdout, stderr } = apt(...args);
    if (status !== 0) giveUp(`apt-get ${args[0]} failed: ${stdout}${stderr}`);
  }
};

/** The version of its engine that a program says it is of, such as 156; none where it does not run. */
const versionOf = (program) => / (\d+)\./.exec(run(program, ['--version'], { stdio: 'pipe' }).stdout?.toString())?.[1];

/**
 * Tests run in Chromium's headless shell where it is there, or can be had at once, and is of its driver's version; in Chromium itself
 * where not, or where CHROMIUM_BIN says which.
 */
export const preferLightBrowser = () => {
  if (process.env.CHROMIUM_BIN !== undefined) return;
  if (!existsSync(SHELL) && mayInstall()) {
    console.log('Installing Chromium’s headless shell (once) ...');
    const quickly = ['-o', 'Acquire::Retries=0', '-o', 'Acquire::http::Timeout=10'];
    apt(...quickly, 'install', '-y', '--no-install-recommends', '--no-upgrade', 'chromium-headless-shell');
  }
  if (existsSync(SHELL) && versionOf(SHELL) === versionOf(DRIVER)) process.env.CHROMIUM_BIN = SHELL;
};
