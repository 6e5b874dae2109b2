const { createHash } = require('node:crypto');
const { readFileSync } = require('node:fs');
const http = require('node:http');
const { dirname, join } = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');
const straightToCore = require('./straight-to-core');

const config = getDefaultConfig(__dirname);

// What is made of a file goes by where the core's indexes have their names from, too.
config.cacheVersion = [require.resolve('./straight-to-core'), ...straightToCore.indexes()]
  .reduce((hash, file) => hash.update(readFileSync(file)), createHash('sha256'))
  .digest('hex');

/** What stands for a module in the page; why, each says. */
const INSTEAD = {
  '@sinclair/typebox': 'no-schemas.js',
  '@babel/runtime/helpers/objectSpread2': 'own-spread.js',
};
// tslib is taken in its CommonJS build: its ESM build imports the default of that one, which has none after Babel's step.
const AS_COMMONJS = 'tslib';
// Their parts must find one another: each by itself would be taken in another build, with another list of gestures.
const AS_NODE_DOES = /^@use-gesture\//;
config.resolver.resolveRequest = (context, moduleName, platform) =>
  Object.hasOwn(INSTEAD, moduleName)
    ? { type: 'sourceFile', filePath: join(__dirname, INSTEAD[moduleName]) }
    : AS_NODE_DOES.test(moduleName)
      ? { type: 'sourceFile', filePath: require.resolve(moduleName) }
      : context.resolveRequest(
          moduleName === AS_COMMONJS ? { ...context, isESMImport: false } : context,
          moduleName,
          platform,
        );

// A module runs when something of it is first used, not when it is first named: a screen starts with what it shows. Where the script came from is told
// only while it is first run, which these two have to be there for.
const AT_ONCE = ['runtime', 'ImportMetaRegistry'].map((name) =>
  join(dirname(require.resolve('expo/package.json')), 'src/winter', `${name}.ts`),
);
config.transformer.getTransformOptions = async () => ({
  transform: {
    experimentalImportSupport: true,
    inlineRequires: { blockList: Object.fromEntries(AT_ONCE.map((file) => [file, true])) },
  },
});

// The development server hands /api on, so that the page needs one origin only.
const api = new URL(process.env.POTTER_API ?? 'http://127.0.0.1:4173');
const enhance = config.server.enhanceMiddleware;
config.server.enhanceMiddleware = (middleware, server) => {
  const next = enhance ? enhance(middleware, server) : middleware;
  return (req, res, done) => {
    if (!req.url.startsWith('/api/')) return next(req, res, done);
    const headers = {
      ...req.headers,
      host: api.host,
      ...(req.headers.origin ? { origin: api.origin } : {}),
    };
    const up = http.request(
      { host: api.hostname, port: api.port, path: req.url, method: req.method, headers },
      (r) => {
        res.writeHead(r.statusCode, r.headers);
        r.pipe(res);
      },
    );
    up.on('error', (error) => {
      res.statusCode = 502;
      res.end(String(error));
    });
    req.pipe(up);
  };
};

module.exports = withNativeWind(config, { input: './global.css', typescriptEnvPath: 'env.d.ts' });
