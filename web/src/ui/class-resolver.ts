// What turns typed values into a form's class looks its types up: it comes with the forms, not with the app.
import 'reflect-metadata';

export { classValidatorResolver } from '@hookform/resolvers/class-validator';
