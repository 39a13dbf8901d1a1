using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Hunting;

/// <summary>A choice of what a look showed.</summary>
public sealed record ToldAnswer(SeenCase Case, string Says);

/// <summary>Something that can be looked at, and what it can show.</summary>
/// <param name="Figure">True where a figure in volts may be written instead.</param>
public sealed record ToldLook(Look Look, Setup Setup, string Says, IReadOnlyList<ToldAnswer> Answers, bool Figure)
{
    internal static ToldLook Of(Job job, AskedLook asked) =>
        new(
            asked.Look,
            asked.Setup,
            Phrases.Line.Start(LookWords.Where(job, asked.Look) + LookWords.Lay(job, asked.Setup)),
            [.. TrialWords.Answers(asked.Look).Select(c => new ToldAnswer(c, LookWords.Of(c)))],
            asked.Look.Kind == LookKind.Instrument && asked.Look.Instrument is not ("plug-in" or "pen" or "continuity")
        );
}

/// <summary>An observation in words.</summary>
/// <param name="Explained">Whether the likeliest suspect explains it; null where there is none.</param>
public sealed record ToldObserved(string Id, string Says, string By, string At, bool? Explained);

/// <summary>Late work in words.</summary>
public sealed record ToldLateWork(string Id, string Says);

/// <summary>A cable end that lies apart.</summary>
public sealed record ToldApart(string End, string Says);

/// <summary>A suspect in words.</summary>
/// <param name="Boxes">Where it is, by id.</param>
/// <param name="Belief">0 to 1, with those that no test tells from it.</param>
/// <param name="Alike">Others that no allowed test tells from it.</param>
/// <param name="Does">What it would do to a person now.</param>
/// <param name="Faults">Each of its faults, as the record names it once it is found.</param>
public sealed record ToldSuspect(
    string Key,
    string Says,
    double Belief,
    IReadOnlyList<Id<Box>> Boxes,
    IReadOnlyList<string> Alike,
    IReadOnlyList<string> Explains,
    IReadOnlyList<string> Against,
    string Does,
    bool Hurts,
    IReadOnlyList<string> Mends,
    IReadOnlyList<ToldFault> Faults
);

/// <summary>A fault as a record names it.</summary>
public sealed record ToldFault(Id<Box> Box, string Case, string Details, string Says);

/// <summary>What one outcome of a test would leave.</summary>
public sealed record ToldLeaves(string Says, double Chance, int Left, IReadOnlyList<string> Likeliest);

/// <summary>A test in words.</summary>
/// <param name="Minds">What is minded first.</param>
/// <param name="Opens">Boxes opened for it.</param>
/// <param name="Prove">Boxes this person has not proved dead yet, of those it opens.</param>
/// <param name="Mine">Boxes this person proved dead and has hands in: out of them before it is switched on.</param>
/// <param name="Waits">Why it cannot be made now: somebody's hands, somebody's hold.</param>
public sealed record ToldTrial(
    string Key,
    TrialCase Case,
    string Title,
    string Minds,
    ToldLook Look,
    double Minutes,
    bool Live,
    IReadOnlyList<ToldBoxName> Opens,
    IReadOnlyList<ToldBoxName> Prove,
    IReadOnlyList<string> Waits,
    IReadOnlyList<ToldBoxName> Mine,
    IReadOnlyList<ToldLeaves> Outcomes
);

public sealed record ToldBoxName(Id<Box> Id, string Name);

/// <summary>How much of the belief lies in a box.</summary>
/// <param name="From">The box it hangs on in feed order; null for the first.</param>
/// <param name="Cut">True where the cable between the two lies apart.</param>
public sealed record ToldShare(Id<Box> Id, string Name, double Part, ShareCase Case, Id<Box>? From, bool Cut);

/// <summary>An observation asked again once it is mended.</summary>
/// <param name="Predicted">What it should show now.</param>
/// <param name="Fits">Whether it did; null while nobody looked.</param>
public sealed record ToldAgain(string Id, ToldLook Look, string Predicted, bool? Fits);

/// <summary>A cause that was found.</summary>
/// <param name="LookToo">Other boxes of that hand, likeliest first.</param>
public sealed record ToldFoundCause(
    string Id,
    ToldFault Fault,
    string? Who,
    string? When,
    string? Change,
    IReadOnlyList<ToldBoxName> LookToo
);

/// <summary>What comes before everything.</summary>
public sealed record ToldUrgent(string Says, string Now);
