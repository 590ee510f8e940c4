import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ClassesController } from './classes.controller.js';
import { ClassesService } from './classes.service.js';
import { PracticalsModule } from '../practicals/practicals.module.js';
import { School, SchoolClass, Staff, Student } from '../records/people.entities.js';
import { FirstSchoolController, OwnAccountController, StaffController } from './staff.controller.js';
import { StaffService } from './staff.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([School, Staff, SchoolClass, Student]), PracticalsModule],
  controllers: [ClassesController, StaffController, OwnAccountController, FirstSchoolController],
  providers: [ClassesService, StaffService],
  exports: [ClassesService],
})
export class PeopleModule {}
