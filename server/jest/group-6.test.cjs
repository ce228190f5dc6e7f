require('./group.cjs')(6);
