require('./group.cjs')(4);
