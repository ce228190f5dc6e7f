require('./group.cjs')(5);
