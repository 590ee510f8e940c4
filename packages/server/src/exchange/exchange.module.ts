import { Module } from '@nestjs/common';
import { PeopleModule } from '../people/people.module.js';
import { ExchangeController } from './exchange.controller.js';
import { ExchangeService } from './exchange.service.js';

@Module({ imports: [PeopleModule], controllers: [ExchangeController], providers: [ExchangeService] })
export class ExchangeModule {}
