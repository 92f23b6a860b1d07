// The thread that reads the data file for what takes long: PDFs, exports, groups, forecasts.
import { createServer } from 'node:http';
import { parentPort, workerData, type MessagePort } from 'node:worker_threads';
import Database from 'better-sqlite3';
import type { ReadingWork } from './asked.ts';
import { PortStream } from './portStream.ts';
import { createReadingApp } from './readingApp.ts';
import { giveWay } from '../work/lowPriority.ts';

giveWay();
const { file } = workerData as ReadingWork;
const db = new Database(file, { readonly: true, fileMustExist: true });
// Requests come from the server alone, each on a channel of its own.
const server = createServer(createReadingApp(db));
parentPort!.on('message', (port: MessagePort) => server.emit('connection', new PortStream(port)));
