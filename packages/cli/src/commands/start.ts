import { Command, Option } from 'commander';
import { wholeNumber } from '../options.js';
import type { ServeOptions } from '../serve.js';

/** `hornblende start`: serves the web application. */
export function startCommand(): Command {
  return (
    new Command('start')
      .description('serve the web application on this machine')
      .option('--demo', 'fill an empty workshop with the demo')
      .option(
        '--share [address]',
        'let paired phones look at parts in service, over the local network, encrypted by a certificate of its own',
      )
      .option(
        '--plain',
        'share without encryption: whoever listens in the network reads it, and can act with it',
      )
      .option('--certificate <file>', 'share by this certificate (PEM) in place of its own; with --key')
      .option('--key <file>', 'the key of that certificate (PEM)')
      .option('--fresh', 'put the old workshop aside and begin anew')
      .addOption(
        new Option('--port <port>', 'port; 0 picks a free one')
          .env('PORT')
          .default(4680)
          .argParser(wholeNumber(0, 65535, 'a port')),
      )
      .addOption(new Option('--data <folder>', 'data folder').env('HORNBLENDE_DATA'))
      // The server, with its database driver, is only loaded when it is wanted.
      .action(async (o: ServeOptions) => (await import('../serve.js')).serve(o))
  );
}
