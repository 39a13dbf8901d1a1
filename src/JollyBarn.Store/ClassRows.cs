namespace JollyBarn.Store;

/// <summary>A class: what it does, and the code learners come in by.</summary>
public sealed class ClassRow
{
    public required string Id { get; init; }

    /// <summary>Six letters; no two classes have the same.</summary>
    public required string Code { get; init; }

    public required string Made { get; init; }

    /// <summary>When answers were last stopped being taken; null while they are.</summary>
    public string? Closed { get; set; }

    /// <summary>The plan, as JSON.</summary>
    public required string Plan { get; set; }

    /// <summary>Checks the fields above.</summary>
    public string Sum { get; set; } = "";

    internal string Summed => Sums.Of(Id, Code, Made, Closed, Plan);
}

/// <summary>A learner of a class.</summary>
public sealed class LearnerRow
{
    public required string ClassId { get; init; }

    /// <summary>From 1, in the order in which they came.</summary>
    public int Number { get; init; }

    public required string Name { get; init; }

    /// <summary>SHA-256 of what the learner's phone shows, hexadecimal; empty while the teacher lets a learner in again.</summary>
    public required string Token { get; set; }

    public required string Came { get; init; }

    public string Sum { get; set; } = "";

    internal string Summed => Sums.Of(ClassId, Sums.Text((long)Number), Name, Token, Came);
}

/// <summary>What a learner did at one place of a class.</summary>
public sealed class AnswerRow
{
    public required string ClassId { get; init; }

    public int Learner { get; init; }

    public required string Item { get; init; }

    /// <summary>The job it is worked on in, of work on the Bench; null otherwise.</summary>
    public string? Job { get; init; }

    public required string Begun { get; init; }

    /// <summary>When it was answered; null while it was only begun.</summary>
    public string? At { get; set; }

    /// <summary>The answer, as JSON; empty where it is worked out on the Bench.</summary>
    public string Answer { get; set; } = "";

    /// <summary>Its mark, as JSON; empty while there is none.</summary>
    public string Mark { get; set; } = "";

    public int Seconds { get; set; }

    /// <summary>A picture of the box, by its hash.</summary>
    public string? Photo { get; set; }

    public string Sum { get; set; } = "";

    internal string Summed =>
        Sums.Of(ClassId, Sums.Text((long)Learner), Item, Job, Begun, At, Answer, Mark, Sums.Text((long)Seconds), Photo);
}
