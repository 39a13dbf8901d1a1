using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

public sealed record RenameJob(string Name) : Edit
{
    public override Refusal? Check(Job job) => Refuse.BadText(Name, "name");

    public override Job Apply(Job job) => job with { Name = Name.Trim() };
}

/// <summary>Sets the code profile: edition, office, amendments.</summary>
public sealed record SetProfile(CodeProfile Profile) : Edit
{
    public override bool PutsOver(Job job) => true;

    public override Refusal? Check(Job job) =>
        BookChecks.Profile(Profile) is { } bad
            ? bad with
            {
                Field = "profile." + bad.Field,
            }
            : Refuse.BadNote(Profile.Office, "profile.office") ?? Refuse.BadNote(Profile.Date, "profile.date");

    public override Job Apply(Job job) => job with { Profile = Profile };
}

/// <summary>Answers one question of house practice, or takes the answer back.</summary>
public sealed record SetPractice(string Key, string? Answer = null) : Edit
{
    public override Refusal? Check(Job job) => BookChecks.Practice(Key, Answer);

    public override Job Apply(Job job) => job with { Practice = job.Practice.With(Key, Answer) };
}
