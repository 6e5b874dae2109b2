const { inNode } = require('../../jest.typescript.cjs');

module.exports = inNode('contract');
