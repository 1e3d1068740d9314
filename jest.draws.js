const fc = require('fast-check');

/** The same draws on every machine, so that a red run is about the change. Others: `DRAWS=7 npm run unit`. */
fc.configureGlobal({ seed: Number(process.env.DRAWS ?? 2026) });
