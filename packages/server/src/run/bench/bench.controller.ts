import type { Bench, EventsReceipt, Feedback } from '@kivex/contract';
import { Body, Controller, HttpCode } from '@nestjs/common';
import { ByStudent, type StudentCaller } from '../../access/caller.js';
import { Route } from '../../access/route.js';
import { BatchDto, KeptIdsDto } from '../log/event-bodies.dto.js';
import { BenchService } from './bench.service.js';
import { EntriesService } from './entries.service.js';

@Controller()
export class BenchController {
  constructor(
    private readonly bench: BenchService,
    private readonly entries: EntriesService,
  ) {}

  @Route('GET /api/bench')
  show(@ByStudent() student: StudentCaller): Promise<Bench> {
    return this.bench.show(student);
  }

  @Route('POST /api/bench/events')
  @HttpCode(200)
  accept(@ByStudent() student: StudentCaller, @Body() batch: BatchDto): Promise<EventsReceipt> {
    return this.entries.accept(student, batch);
  }

  /** Entries found on this device that are another's, or of a group left since: kept apart for the teacher's word. */
  @Route('POST /api/bench/hand-over')
  @HttpCode(200)
  handOver(@ByStudent() student: StudentCaller, @Body() batch: BatchDto): Promise<EventsReceipt> {
    return this.entries.handOver(student, batch);
  }

  /** Which of the entries a device has had acknowledged the server no longer has. */
  @Route('POST /api/bench/forgotten')
  @HttpCode(200)
  forgotten(@ByStudent() student: StudentCaller, @Body() kept: KeptIdsDto): Promise<string[]> {
    return this.entries.forgotten(student, kept);
  }

  @Route('GET /api/bench/feedback')
  feedback(@ByStudent() student: StudentCaller): Promise<Feedback> {
    return this.bench.feedback(student);
  }
}
