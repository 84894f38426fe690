import { calcCommand } from './command';

process.exitCode = calcCommand(process.argv.slice(2));
