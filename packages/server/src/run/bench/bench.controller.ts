import type { Bench, EventsReceipt, Feedback, OwnQuestion } from '@kivex/contract';
import {
  Body,
  Controller,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Req,
  Res,
  StreamableFile,
  UseGuards,
} from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { IsString, IsUUID, Matches, MaxLength } from 'class-validator';
import type { Request, Response } from 'express';
import { AddressLimitGuard } from '../../access/address-limit.guard.js';
import { ByStudent, type StudentCaller } from '../../access/caller.js';
import { deviceOf, setFirst } from '../../access/device.js';
import { Route } from '../../access/route.js';
import { Config } from '../../config/config.js';
import { QuestionsService } from '../../marking/questions.service.js';
import { BatchDto, KeptIdsDto } from '../log/event-bodies.dto.js';
import { BenchService } from './bench.service.js';
import { EntriesService } from './entries.service.js';
import { PhotosService } from '../log/photos.service.js';
import { sendPhoto } from '../log/send-photo.js';
import { SharedDeviceService } from './shared-device.service.js';

class OwnPinDto {
  @ApiProperty() @Matches(/^\d{4}$/, { message: 'A PIN is four digits; it is on your card.' }) pin: string;
}
class MateDto extends OwnPinDto {
  @ApiProperty() @IsUUID('all', { message: 'Choose who is writing.' }) student: string;
}

class QuestionDto {
  @ApiProperty() @IsString() @MaxLength(120) key: string;
  @ApiProperty()
  @IsString()
  @Matches(/\S/, { message: 'Write what you would like to know.' })
  @MaxLength(500, { message: 'A question has at most 500 letters.' })
  text: string;
}

@Controller()
export class BenchController {
  constructor(
    private readonly bench: BenchService,
    private readonly entries: EntriesService,
    private readonly shared: SharedDeviceService,
    private readonly photos: PhotosService,
    private readonly questions: QuestionsService,
    private readonly config: Config,
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

  /** Takes a picture for an entry, by the id the entry names; the same again changes nothing. */
  @Route('PUT /api/bench/photos/:picture')
  @HttpCode(204)
  async keepPhoto(
    @ByStudent() student: StudentCaller,
    @Param('picture', ParseUUIDPipe) id: string,
    @Req() request: Request,
  ): Promise<void> {
    await this.photos.keep(student, id, request.body);
  }
  @Route('GET /api/bench/photos/:picture')
  async photo(
    @ByStudent() student: StudentCaller,
    @Param('picture', ParseUUIDPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    return sendPhoto(response, await this.photos.ofBench(student, id));
  }

  /** Lets another of the group write at this device too. */
  @Route('POST /api/bench/mates')
  @HttpCode(204)
  @UseGuards(AddressLimitGuard)
  async mate(
    @ByStudent() student: StudentCaller,
    @Body() { student: mate, pin }: MateDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    const device = deviceOf(request, response, this.config.KIVEX_SECURE);
    setFirst(response, await this.shared.join(student, mate, pin, device, request.headers.cookie));
  }

  /** Shuts the caller's own answers at this device, while others write there. */
  @Route('POST /api/bench/lock')
  @HttpCode(204)
  async lock(@ByStudent() student: StudentCaller): Promise<void> {
    await this.shared.lock(student);
  }

  @Route('POST /api/bench/unlock')
  @HttpCode(204)
  @UseGuards(AddressLimitGuard)
  async unlock(
    @ByStudent() student: StudentCaller,
    @Body() { pin }: OwnPinDto,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    const device = deviceOf(request, response, this.config.KIVEX_SECURE);
    await this.shared.unlock(student, pin, device);
  }

  /** Asks the teacher about one item of the marks one has. */
  @Route('POST /api/bench/feedback/questions')
  question(@ByStudent() student: StudentCaller, @Body() { key, text }: QuestionDto): Promise<OwnQuestion> {
    return this.questions.ask(student, key, text);
  }
  @Route('GET /api/bench/feedback')
  feedback(@ByStudent() student: StudentCaller): Promise<Feedback> {
    return this.bench.feedback(student);
  }
}
