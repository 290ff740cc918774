export { createApp, BODY_LIMIT, type AppOptions } from './http/app.js';
export { openDatabase } from './db/database.js';
export { seedDemo } from './demo/seed.js';
export { startServer, DATABASE_FILE, type Running, type StartOptions } from './start.js';
