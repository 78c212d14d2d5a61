<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\Exercise;
use App\Models\User;
use App\Services\School;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Transmuta\Trainer\Skill;

/** Learning to foretell: a question, an answer, the computed one with its why. */
final class SchoolController extends Controller
{
    #[OA\Get(
        path: '/api/school',
        summary: 'How well one foretells, by skill, and what has faded',
        operationId: 'School.show',
        responses: [new AnsweredList('SkillProgress'), new Wrong()],
    )]
    public function show(School $school): JsonResponse
    {
        return new JsonResponse($school->progress($this->studio(), $this->person()));
    }

    #[OA\Post(
        path: '/api/exercises',
        summary: 'Asks for something to foretell: of a skill, or of what has faded most',
        operationId: 'School.ask',
        requestBody: new Asked('AskExercise'),
        responses: [new Answered('Exercise', 201), new Wrong()],
    )]
    public function ask(Request $request, School $school): JsonResponse
    {
        $request->validate(['skill' => ['sometimes', 'nullable', Rule::enum(Skill::class)], 'seed' => ['sometimes', 'integer', 'between:1,2000000000']]);

        return new JsonResponse(School::write($school->ask($this->studio(), $this->person(), $request->filled('skill') ? $request->string('skill')->toString() : null, $request->filled('seed') ? $request->integer('seed') : random_int(1, 2_000_000_000))), 201);
    }

    #[OA\Post(
        path: '/api/exercises/{exercise}/answer',
        summary: 'Answers; then the computed answer is told',
        operationId: 'School.answer',
        parameters: [new InPath('exercise')],
        requestBody: new Asked('AnswerExercise'),
        responses: [new Answered('Exercise'), new Wrong()],
    )]
    public function answer(Request $request, Exercise $exercise, School $school): JsonResponse
    {
        Gate::authorize('view', $exercise);
        abort_unless($exercise->user_id === $this->person()->id, 404);

        return new JsonResponse(School::write($school->answer($exercise, $request->input('answer'))));
    }

    private function person(): User
    {
        $user = $this->here()->user();
        \assert($user instanceof User);

        return $user;
    }
}
