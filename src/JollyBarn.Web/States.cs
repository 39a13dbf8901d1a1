using System.Text.Json.Serialization;
using JollyBarn.Edits;
using JollyBarn.Store;
using JollyBarn.Wiring;

namespace JollyBarn.Web;

/// <summary>Which state of a box in a Change is meant.</summary>
[JsonConverter(typeof(JsonStringEnumConverter<BoxState>))]
public enum BoxState
{
    Planned,
    AsFound,
    AsLeft,
}

/// <summary>States of a job one can look at.</summary>
internal static class States
{
    /// <summary>The job at an earlier version, as a Change found, plans or leaves it, or now; null when there is no such version or
    /// Change.</summary>
    public static Job? Read(OpenJob open, long? version, string? change, BoxState? state = null) =>
        version is { } asked ? open.JobAt(asked)
        : change is null ? open.Now.Job
        : !open.Now.Job.Changes.Has(change) ? null
        : In(open.Now.Job, change, state ?? BoxState.Planned);

    public static Job In(Job job, string change, BoxState state) =>
        state switch
        {
            BoxState.AsFound => ChangeWork.AsFound(job, change),
            BoxState.AsLeft => ChangeWork.AsLeft(job, change),
            _ => ChangeWork.Planned(job, change),
        };
}
