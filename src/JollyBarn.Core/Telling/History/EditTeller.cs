using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.History;

/// <summary>Edits as sentences for history.</summary>
public static class EditTeller
{
    private static readonly Dictionary<Type, Func<Edit, Job, string>> Words = new EditWords[]
    {
        new BoxEditWords(),
        new InsideEditWords(),
        new CableEditWords(),
        new SupplyEditWords(),
        new ComplaintEditWords(),
        new WorkEditWords(),
        new JobEditWords(),
    }
        .SelectMany(w => w.ByType)
        .ToDictionary();

    /// <summary>Kinds of edits that have words.</summary>
    public static IEnumerable<Type> Kinds => Words.Keys;

    /// <summary>The edit as a sentence for history, in words of the job before it.</summary>
    public static string Tell(this Edit edit, Job before) => Words[edit.GetType()](edit, before);
}
