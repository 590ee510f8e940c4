import type { Bench, EventsReceipt, Feedback } from '@kivex/contract';
import { Body, Controller, Get, HttpCode, Post } from '@nestjs/common';
import { AllowedTo, ByStudent, type StudentCaller } from '../access/caller.js';
import { BatchDto, KeptIdsDto } from '../observing/event-bodies.dto.js';
import { BenchService } from './bench.service.js';
import { EntriesService } from './entries.service.js';

@Controller('api/bench')
@AllowedTo('student')
export class BenchController {
  constructor(
    private readonly bench: BenchService,
    private readonly entries: EntriesService,
  ) {}

  @Get()
  show(@ByStudent() student: StudentCaller): Promise<Bench> {
    return this.bench.show(student);
  }

  @Post('events')
  @HttpCode(200)
  accept(@ByStudent() student: StudentCaller, @Body() batch: BatchDto): Promise<EventsReceipt> {
    return this.entries.accept(student, batch);
  }

  /** Entries found on this device that are another's, or of a group left since: kept apart for the teacher's word. */
  @Post('hand-over')
  @HttpCode(200)
  handOver(@ByStudent() student: StudentCaller, @Body() batch: BatchDto): Promise<EventsReceipt> {
    return this.entries.handOver(student, batch);
  }

  /** Which of the entries a device has had acknowledged the server no longer has. */
  @Post('forgotten')
  @HttpCode(200)
  forgotten(@ByStudent() student: StudentCaller, @Body() kept: KeptIdsDto): Promise<string[]> {
    return this.entries.forgotten(student, kept);
  }

  @Get('feedback')
  feedback(@ByStudent() student: StudentCaller): Promise<Feedback> {
    return this.bench.feedback(student);
  }
}
