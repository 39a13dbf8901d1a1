using JollyBarn.Store;

namespace JollyBarn.Web.Crew;

/// <summary>What a request needs.</summary>
public enum Right
{
    /// <summary>Nothing: to sign in, to come by an invitation or by the code of a class.</summary>
    Nothing,

    /// <summary>To be signed in, or to sit in a class.</summary>
    Learn,

    /// <summary>To be signed in, as anybody.</summary>
    SignedIn,

    /// <summary>To lead classes: all but who only looks.</summary>
    Teach,

    /// <summary>To see this job.</summary>
    Look,

    /// <summary>To change this job.</summary>
    Work,

    /// <summary>To work on jobs at all, and so to make one.</summary>
    Make,

    /// <summary>To own the crew.</summary>
    Own,
}

/// <summary>What each operation needs. What is named nowhere needs the owner: closed by default.</summary>
internal static class Rights
{
    /// <summary>Asked by POST, and changes nothing.</summary>
    private static readonly HashSet<string> Asks = new(StringComparer.Ordinal)
    {
        "moves",
        "gestures",
        "preview",
        "tryPattern",
        "rejudge",
        "drawOnSheet",
        "mayRun",
        "ways",
        "waysAsFound",
        "outcomeOf",
        "live",
        "probe",
        "compare",
        "standIn",
        "intoCable",
    };

    /// <summary>What a learner does to the job of an exercise.</summary>
    private static readonly HashSet<string> Practised = new(StringComparer.Ordinal) { "edit", "undo", "redo" };

    private static readonly Dictionary<string, Right> Named = new(StringComparer.Ordinal)
    {
        ["me"] = Right.Nothing,
        ["signIn"] = Right.Nothing,
        ["invited"] = Right.Nothing,
        ["join"] = Right.Nothing,
        ["health"] = Right.Nothing,
        ["signOut"] = Right.SignedIn,
        ["newPassword"] = Right.SignedIn,
        ["sessions"] = Right.SignedIn,
        ["endSession"] = Right.SignedIn,
        ["endSessions"] = Right.SignedIn,
        ["catalogue"] = Right.Learn,
        ["limits"] = Right.Learn,
        ["fill"] = Right.Learn,
        ["fillInstead"] = Right.Learn,
        ["trench"] = Right.Learn,
        ["mark"] = Right.Learn,
        ["wishes"] = Right.SignedIn,
        ["jobs"] = Right.SignedIn,
        ["createJob"] = Right.Make,
        ["copyJob"] = Right.Make,
        ["import"] = Right.Make,
        ["readCard"] = Right.Make,
        ["readStock"] = Right.Make,
        ["readLines"] = Right.Make,
        ["labelTray"] = Right.Make,
        ["printedLabel"] = Right.Make,
        ["emptyTray"] = Right.Make,
    };

    /// <param name="route">The pattern of the address, as it is mapped.</param>
    /// <param name="name">The operation.</param>
    public static Right Of(string method, string route, string? name)
    {
        bool Under(string place) => route.StartsWith(place, StringComparison.Ordinal);
        return name is not null && Named.TryGetValue(name, out var named) ? named
            : Under("/api/rooms/") ? Right.Nothing
            : Under("/api/practice/") ? Right.Learn
            : Under("/api/classes") ? Right.Teach
            : !Under("/api/jobs/{job}") ? Right.Own
            : HttpMethods.IsGet(method) || (name is not null && Asks.Contains(name)) ? Right.Look
            : Right.Work;
    }

    /// <summary>True where somebody may.</summary>
    /// <param name="job">The job of the address; null where it names none.</param>
    /// <param name="exercise">True where that is an exercise: whoever has its address may work on it.</param>
    public static bool Has(Member? member, Right right, string? job, bool exercise) =>
        right switch
        {
            Right.Nothing => true,
            Right.Look or Right.Work when exercise => member is not null,
            Right.Learn or Right.SignedIn => member is not null,
            Right.Teach => member is { Role: not CrewRole.Looks },
            Right.Look => job is not null && member?.MayLook(job) == true,
            Right.Work => job is not null && member?.MayWork(job) == true,
            Right.Make => member is { Role: CrewRole.Owner or CrewRole.Works },
            _ => member is { Role: CrewRole.Owner },
        };

    /// <summary>True for what the plain door of a class answers without anybody signed in.</summary>
    public static bool InClass(Right right, string route, string? name, bool exercise) =>
        right == Right.Learn
        || route.StartsWith("/api/rooms/", StringComparison.Ordinal)
        || (exercise && (right == Right.Look || (name is not null && Practised.Contains(name))));
}
