// The baseline: a Socket.IO relay with nothing but one committed row between tap and board. A process of its own, as Kivex is.
import { createServer } from 'node:http';
import mysql from 'mysql2/promise';
import { Server } from 'socket.io';

const pool = mysql.createPool(process.env.BARE_RELAY_DATABASE.replace(/^mariadb:/, 'mysql:'));
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
  socket.on('watch', (ready) => {
    void socket.join('board');
    ready();
  });
});
http.listen(0, '127.0.0.1', () => process.send({ port: http.address().port }));
process.on('disconnect', () => process.exit(0));
