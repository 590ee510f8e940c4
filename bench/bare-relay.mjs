// The baseline: a Socket.IO relay with nothing but one committed row between tap and board. A process of its own, as Kivex is.
import { createServer } from 'node:http';
import mysql from 'mysql2/promise';
import { Server } from 'socket.io';

const pool = mysql.createPool({
  uri: process.env.BARE_RELAY_DATABASE.replace(/^mariadb:/, 'mysql:'),
  connectionLimit: 32,
});
await pool.query(
  'CREATE TABLE IF NOT EXISTS bare_relay (seq BIGINT AUTO_INCREMENT PRIMARY KEY, body LONGTEXT NOT NULL)',
);
const http = createServer();
const server = new Server(http);
server.on('connection', (socket) => {
  socket.on('tap', async (body) => {
    await pool.query('INSERT INTO bare_relay (body) VALUES (?)', [JSON.stringify(body)]);
    server.to('board').emit('event', body);
  });
  // As a device is told that its entry is kept: nothing else is done for it.
  socket.on('keep', async (body, told) => {
    await pool.execute('INSERT INTO bare_relay (body) VALUES (?)', [JSON.stringify(body)]);
    told({ status: 200 });
  });
  socket.on('watch', (ready) => {
    void socket.join('board');
    ready();
  });
});
http.listen(0, '127.0.0.1', () => process.send({ port: http.address().port }));
process.on('disconnect', () => process.exit(0));
