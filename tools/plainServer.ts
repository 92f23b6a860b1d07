// The yardstick of a server: Express alone, which reads and checks an answer and says that it got it. Ends with its parent.
import express from 'express';
import { PostAnswer } from '../contract/index.ts';

const app = express()
  .use(express.json())
  .post('/api/answers', (req, res) => {
    res.status(201).json({ id: PostAnswer.parse(req.body).id });
  });
const server = app.listen(0, '127.0.0.1', () => {
  const address = server.address();
  console.log(typeof address === 'object' && address !== null ? address.port : 0);
});
process.on('disconnect', () => process.exit());
