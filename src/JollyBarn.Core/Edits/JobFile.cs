using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>A job in the open format: present, Changes and the history that led there.</summary>
/// <param name="Format">Always <c>jolly-barn-job</c>.</param>
/// <param name="Version">Version of the format.</param>
/// <param name="Start">The job that the history begins from.</param>
public sealed record JobFile(string Format, int Version, string Id, Job Present, Job Start, IReadOnlyList<HistoryLine> History)
{
    public const string FormatName = "jolly-barn-job";

    public const int CurrentVersion = 1;
}
