import type { Preparation } from '@kivex/contract';
import type { Label } from '@kivex/core';
import {
  Body,
  Controller,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Query,
  Req,
  Res,
  StreamableFile,
} from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { IsBoolean, IsNumber, IsString, IsUUID, Max, MaxLength, Min, Matches } from 'class-validator';
import type { Request, Response } from 'express';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { goneSignal } from '../heavy/gone-signal.js';
import { originOf } from '../input/origin.js';
import { attachment } from '../sheets/attachment.js';
import { PreparationService } from './preparation.service.js';

class TickDto {
  @ApiProperty() @IsString() @MaxLength(255) key: string;
  @ApiProperty() @IsBoolean({ message: 'Done is yes or no.' }) done: boolean;
}
class SubstitutionDto {
  @ApiProperty() @IsString() @MaxLength(60, { message: 'Choose a substitute.' }) substitute: string;
}
class TakingDto {
  @ApiProperty() @IsUUID('all', { message: 'Choose what to take.' }) item: string;
  @ApiProperty()
  @IsNumber({}, { message: 'The amount is a number, more than 0.' })
  @Min(1e-4, { message: 'The amount is a number, more than 0.' })
  @Max(1e6)
  amount: number;
  @ApiProperty()
  @IsString()
  @Matches(/\S/, { message: 'Say what for.' })
  @MaxLength(160)
  reason: string;
}

@Controller()
export class PreparationController {
  constructor(private readonly preparation: PreparationService) {}

  @Route('GET /api/lessons/:lesson/preparation')
  show(@ByStaff() staff: StaffCaller, @Param('lesson', ParseUUIDPipe) id: string): Promise<Preparation> {
    return this.preparation.show(staff, id);
  }
  @Route('POST /api/lessons/:lesson/preparation/ticks')
  @HttpCode(204)
  tick(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { key, done }: TickDto,
  ): Promise<void> {
    return this.preparation.tick(staff, id, key, done);
  }
  @Route('POST /api/lessons/:lesson/preparation/substitutions')
  @HttpCode(204)
  substitute(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { substitute }: SubstitutionDto,
  ): Promise<void> {
    return this.preparation.substitute(staff, id, substitute);
  }
  @Route('POST /api/lessons/:lesson/preparation/takings')
  @HttpCode(204)
  take(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { item, amount, reason }: TakingDto,
  ): Promise<void> {
    return this.preparation.take(staff, id, item, amount, reason.trim());
  }
  @Route('GET /api/lessons/:lesson/preparation/labels')
  labels(@ByStaff() staff: StaffCaller, @Param('lesson', ParseUUIDPipe) id: string): Promise<Label[]> {
    return this.preparation.labels(staff, id);
  }
  @Route('GET /api/lessons/:lesson/preparation/labels.pdf')
  async labelPdf(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
    @Query('only') only?: string | string[],
    @Query('skip') skip?: string,
  ): Promise<StreamableFile> {
    const keys = only === undefined ? [] : Array.isArray(only) ? only.map(String) : [only];
    const bytes = await this.preparation.labelPdf(
      staff,
      id,
      originOf(request),
      keys,
      Math.max(0, Math.floor(Number(skip)) || 0),
      goneSignal(response),
    );
    return pdf(response, 'kivex-labels.pdf', bytes);
  }
  @Route('GET /api/lessons/:lesson/preparation/sheet.pdf')
  async sheet(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    return pdf(
      response,
      'kivex-prep-sheet.pdf',
      await this.preparation.sheet(staff, id, goneSignal(response)),
    );
  }
  @Route('GET /api/lessons/:lesson/preparation/risk.pdf')
  async risk(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    return pdf(
      response,
      'kivex-risk-sheet.pdf',
      await this.preparation.riskPdf(staff, id, goneSignal(response)),
    );
  }
  @Route('GET /api/lessons/:lesson/preparation/calendar.ics')
  async calendar(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    const text = await this.preparation.calendar(staff, id);
    attachment(response, 'kivex-preparation.ics', 'text/calendar; charset=utf-8');
    return text;
  }
}

function pdf(response: Response, name: string, bytes: Uint8Array): StreamableFile {
  attachment(response, name, 'application/pdf');
  return new StreamableFile(bytes);
}
