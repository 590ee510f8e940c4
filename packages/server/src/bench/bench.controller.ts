import type { Bench, EventsReceipt, Feedback } from '@kivex/contract';
import { Body, Controller, Get, HttpCode, Post } from '@nestjs/common';
import { AllowedTo, ByStudent, type StudentCaller } from '../access/caller.js';
import { EventsDto } from '../observing/event-bodies.dto.js';
import { BenchService } from './bench.service.js';

@Controller('api/bench')
@AllowedTo('student')
export class BenchController {
  constructor(private readonly bench: BenchService) {}

  @Get()
  show(@ByStudent() student: StudentCaller): Promise<Bench> {
    return this.bench.show(student);
  }
  @Post('events')
  @HttpCode(200)
  accept(@ByStudent() student: StudentCaller, @Body() { events }: EventsDto): Promise<EventsReceipt> {
    return this.bench.accept(student, events);
  }
  @Get('feedback')
  feedback(@ByStudent() student: StudentCaller): Promise<Feedback> {
    return this.bench.feedback(student);
  }
}
