import type { ClassHead, ClassRoster, PinCard, RosterPreview } from '@kivex/contract';
import { tableToCsv } from '@kivex/core/formats/csv-table';
import {
  Body,
  Controller,
  HttpCode,
  Param,
  ParseEnumPipe,
  ParseUUIDPipe,
  Req,
  Res,
  StreamableFile,
} from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsString,
  IsUUID,
  Length,
  Matches,
  MaxLength,
} from 'class-validator';
import type { Request, Response } from 'express';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { goneSignal } from '../heavy/gone-signal.js';
import { HeavyService } from '../heavy/heavy.service.js';
import { Tidy } from '../input/tidy.js';
import { attachment } from '../sheets/attachment.js';
import { sheetKindNames, sheetTypes, type SheetKind } from '../sheets/sheet-kinds.js';
import { uploadedSheet } from '../sheets/uploaded.js';
import { ClassesService } from './classes.service.js';

class NewClassDto {
  @ApiProperty()
  @Tidy()
  @IsString()
  @Matches(/\S/, { message: 'Give the class a name, such as 9 Beacon.' })
  @MaxLength(60, { message: 'A class name has at most 60 characters.' })
  name: string;
}
class RosterDto {
  @ApiProperty({ description: 'One name a line, or CSV' })
  @IsString()
  @MaxLength(200_000, { message: 'This is too long for a class list.' })
  text: string;
}
class NewPinsDto {
  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMinSize(1, { message: 'Choose at least one student.' })
  @ArrayMaxSize(400)
  @IsUUID('all', { each: true })
  students: string[];
}
class RenameDto {
  @ApiProperty()
  @Tidy()
  @IsString()
  @Matches(/\p{L}/u, { message: 'Write a name with letters.' })
  @Length(1, 80, { message: 'A name has 1 to 80 letters.' })
  name: string;
}

@Controller()
export class ClassesController {
  constructor(
    private readonly classes: ClassesService,
    private readonly heavy: HeavyService,
  ) {}

  @Route('GET /api/classes')
  list(@ByStaff() staff: StaffCaller): Promise<ClassHead[]> {
    return this.classes.list(staff.schoolId);
  }
  @Route('POST /api/classes')
  create(@ByStaff() staff: StaffCaller, @Body() { name }: NewClassDto): Promise<ClassHead> {
    return this.classes.create(staff, name);
  }
  @Route('GET /api/classes/:class')
  roster(@ByStaff() staff: StaffCaller, @Param('class', ParseUUIDPipe) id: string): Promise<ClassRoster> {
    return this.classes.roster(staff.schoolId, id);
  }
  @Route('POST /api/classes/:class/roster/preview')
  @HttpCode(200)
  preview(
    @ByStaff() staff: StaffCaller,
    @Param('class', ParseUUIDPipe) id: string,
    @Body() { text }: RosterDto,
  ): Promise<RosterPreview> {
    return this.classes.preview(staff.schoolId, id, text);
  }
  @Route('POST /api/classes/:class/roster')
  add(
    @ByStaff() staff: StaffCaller,
    @Param('class', ParseUUIDPipe) id: string,
    @Body() { text }: RosterDto,
  ): Promise<ClassRoster> {
    return this.classes.add(staff, id, text);
  }
  /** Reads a class list from a sheet (CSV, XLSX or OpenDocument) as the text the preview takes. */
  @Route('POST /api/classes/:class/roster/file')
  @HttpCode(200)
  async rosterFile(
    @ByStaff() staff: StaffCaller,
    @Param('class', ParseUUIDPipe) id: string,
    @Req() request: Request,
  ): Promise<{ text: string }> {
    await this.classes.own(staff.schoolId, id);
    const { rows: table } = await this.heavy.readSheet(uploadedSheet(request));
    return {
      text: tableToCsv(table.filter((row) => row.some((cell) => cell.trim()))).replace(/^\uFEFF/, ''),
    };
  }
  /** The class list as a sheet that can be read back. */
  @Route('GET /api/classes/:class/roster/sheet/:kind')
  async rosterSheet(
    @ByStaff() staff: StaffCaller,
    @Param('class', ParseUUIDPipe) id: string,
    @Param('kind', new ParseEnumPipe(sheetKindNames)) kind: SheetKind,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    const { name, students } = await this.classes.roster(staff.schoolId, id);
    attachment(response, `${name}.${kind}`, sheetTypes[kind]);
    return new StreamableFile(
      await this.heavy.paper(
        'sheetFile',
        { kind, name, rows: [['Name'], ...students.map((s) => [s.name])] },
        staff.schoolId,
        goneSignal(response),
      ),
    );
  }
  @Route('POST /api/classes/:class/pins')
  newPins(
    @ByStaff() staff: StaffCaller,
    @Param('class', ParseUUIDPipe) id: string,
    @Body() { students }: NewPinsDto,
  ): Promise<PinCard[]> {
    return this.classes.newPins(staff, id, students);
  }
  @Route('PATCH /api/students/:student')
  @HttpCode(204)
  rename(
    @ByStaff() staff: StaffCaller,
    @Param('student', ParseUUIDPipe) id: string,
    @Body() { name }: RenameDto,
  ): Promise<void> {
    return this.classes.rename(staff, id, name);
  }
  /** Forgets wrong tries of a student's PIN, so that they may try again at once. */
  @Route('POST /api/students/:student/unlock')
  @HttpCode(204)
  unlock(@ByStaff() staff: StaffCaller, @Param('student', ParseUUIDPipe) id: string): Promise<void> {
    return this.classes.unlock(staff, id);
  }

  @Route('DELETE /api/students/:student')
  @HttpCode(204)
  leave(@ByStaff() staff: StaffCaller, @Param('student', ParseUUIDPipe) id: string): Promise<void> {
    return this.classes.leave(staff, id);
  }
}
