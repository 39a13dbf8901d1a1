using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.History;

/// <summary>What edits of some kinds say for history, in words of the job before them.</summary>
internal abstract class EditWords
{
    private readonly Dictionary<Type, Func<Edit, Job, string>> byType = [];

    public IReadOnlyDictionary<Type, Func<Edit, Job, string>> ByType => byType;

    /// <summary>An edit of the job.</summary>
    protected void Says<T>(Func<T, Job, string> says)
        where T : Edit => byType.Add(typeof(T), (edit, job) => says((T)edit, job));

    /// <summary>An edit inside a box: the sentence begins with the box.</summary>
    protected void InBox<T>(Func<T, Box, string> says)
        where T : BoxEdit => OfBox<T>((edit, job) => says(edit, job.Boxes[edit.Box]));

    /// <summary>The same, in words of the whole job.</summary>
    protected void OfBox<T>(Func<T, Job, string> says)
        where T : BoxEdit =>
        Says<T>((edit, job) => job.Boxes.Find(edit.Box) is { } box ? $"{box.Name}: {says(edit, job)}" : "a box that is gone");

    /// <summary>An edit of one lead: box and colour first.</summary>
    protected void OfLead<T>(Func<T, Box, string> says)
        where T : LeadEdit =>
        InBox<T>((edit, box) => box.Leads.TryFind(edit.Lead, out var lead) ? $"{lead.Colour}: {says(edit, box)}" : "a lead");
}
