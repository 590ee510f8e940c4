import {
  erasureWays,
  type Certificate,
  type ErasureWay,
  type NewErasure,
  type Retention,
} from '@kivex/contract';
import { Body, Controller, HttpCode, Param, ParseUUIDPipe, Res, StreamableFile } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { IsIn, IsInt, IsString, Max, MaxLength, Min, ValidateIf } from 'class-validator';
import type { Response } from 'express';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { attachment } from '../sheets/attachment.js';
import { ArchiveService } from './archive.service.js';
import { ErasureService } from './erasure.service.js';

const monthsSay = { message: 'Names are kept from 1 to 120 months, or without a limit.' };

class RetentionDto {
  @ApiProperty({ nullable: true, type: Number })
  @ValidateIf((_, months) => months !== null)
  @IsInt(monthsSay)
  @Min(1, monthsSay)
  @Max(120, monthsSay)
  months: number | null;
}
class ErasureDto implements NewErasure {
  @ApiProperty() @IsIn(erasureWays, { message: 'Choose whether names go, or everything.' }) way: ErasureWay;
  @ApiProperty() @IsString() @MaxLength(60) name: string;
}

@Controller()
export class RightsController {
  constructor(
    private readonly erasure: ErasureService,
    private readonly archives: ArchiveService,
  ) {}

  @Route('GET /api/school/retention')
  retention(@ByStaff() staff: StaffCaller): Promise<Retention> {
    return this.erasure.retention(staff.schoolId);
  }

  @Route('PUT /api/school/retention')
  @HttpCode(204)
  async keepFor(@ByStaff() staff: StaffCaller, @Body() { months }: RetentionDto): Promise<void> {
    await this.erasure.keepFor(staff, months);
  }

  @Route('POST /api/classes/:class/erase')
  erase(
    @ByStaff() staff: StaffCaller,
    @Param('class', ParseUUIDPipe) id: string,
    @Body() wanted: ErasureDto,
  ): Promise<Certificate> {
    return this.erasure.erase(staff, id, wanted);
  }

  @Route('GET /api/students/:student/archive')
  async archive(
    @ByStaff() staff: StaffCaller,
    @Param('student', ParseUUIDPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    const { name, bytes } = await this.archives.of(staff.schoolId, id);
    attachment(response, `kivex-${name}.zip`, 'application/zip');
    return new StreamableFile(bytes);
  }
}
