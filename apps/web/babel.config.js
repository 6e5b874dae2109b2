const straightToCore = require('./straight-to-core');

module.exports = function (api) {
  // Only what is bundled is the smaller for it.
  const bundled = api.caller((caller) => caller?.name === 'metro' && caller.platform === 'web');
  return {
    presets: [['babel-preset-expo', { jsxImportSource: 'nativewind' }], 'nativewind/babel'],
    plugins: bundled ? [straightToCore] : [],
  };
};
