export { createApp, BODY_LIMIT, type AppOptions } from './start/app.js';
export { couponFile, couponFiles, type CouponFile } from './jobs/coupon-file.js';
export { openDatabase } from './db/database.js';
export { seedDemo } from './demo/seed.js';
export { DATABASE_FILE } from './workplace/remains.js';
export { backUp, exportTo, importFrom, restore, verify, type Exported } from './start/offline.js';
export { StartProblem } from './lib/start-problem.js';
export { networkAddresses } from './share/network-address.js';
export { startServer, type Running, type StartOptions } from './start/start-server.js';
