using JollyBarn.Practice.Classes;

namespace JollyBarn.Store;

/// <summary>A class as it is kept.</summary>
/// <param name="Closed">When answers stopped being taken; null while they are.</param>
public sealed record KeptClass(string Id, string Code, string Made, string? Closed, ClassPlan Plan);

/// <summary>A learner of a class.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Out">Whether the teacher lets this learner in again, with the same name.</param>
public sealed record KeptLearner(int Number, string Name, string Came, bool Out);

/// <summary>What a learner did at one place.</summary>
/// <param name="Job">The job of work on the Bench.</param>
/// <param name="Answer">Null of work on the Bench, and while it was only begun.</param>
/// <param name="Mark">Null while it was only begun.</param>
public sealed record KeptAnswer(
    int Learner,
    string Item,
    string? Job,
    string Begun,
    string? At,
    ClassAnswer? Answer,
    ClassMark? Mark,
    int Seconds,
    string? Photo
);
