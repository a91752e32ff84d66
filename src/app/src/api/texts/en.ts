export default {
  serverAnswered: 'The server answered with {status}.',
  serverUnreachable: 'The server cannot be reached. Check the connection and try again.',
} as const
