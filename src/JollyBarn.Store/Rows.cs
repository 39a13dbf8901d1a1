namespace JollyBarn.Store;

/// <summary>A job in lists: everything here can be made again from its log.</summary>
public sealed class JobRow
{
    public required string Id { get; init; }

    public required string Name { get; set; }

    public long Version { get; set; }

    public required string Created { get; init; }

    public required string Changed { get; set; }

    /// <summary>When it was put in the bin; null while it is not.</summary>
    public string? Binned { get; set; }
}

/// <summary>One edit of a job's log. Rows are added, never changed or removed while the job lives.</summary>
public sealed class EditRow
{
    public long Id { get; init; }

    public required string JobId { get; init; }

    /// <summary>Version of the job after this edit; the first is 1.</summary>
    public long Version { get; init; }

    public required string EditId { get; init; }

    public required string By { get; init; }

    public required string At { get; init; }

    /// <summary>The sentence it reads as in history.</summary>
    public required string Says { get; init; }

    public required string Json { get; init; }
}

/// <summary>A whole job at a version, compressed. Version 0 is what the log begins from.</summary>
public sealed class SnapshotRow
{
    public long Id { get; init; }

    public required string JobId { get; init; }

    public long Version { get; init; }

    public required byte[] Bytes { get; init; }
}

/// <summary>A box in lists.</summary>
public sealed class BoxRow
{
    public required string JobId { get; init; }

    public required string BoxId { get; init; }

    public required string Name { get; set; }

    public string? Place { get; set; }

    public required string Fit { get; set; }

    /// <summary>Least needed, in³.</summary>
    public decimal Needed { get; set; }

    /// <summary>Least available, in³.</summary>
    public decimal Available { get; set; }

    /// <summary>Verdicts of each kind.</summary>
    public int Stop { get; set; }

    public int Fix { get; set; }

    public int Measure { get; set; }

    public int Better { get; set; }
}

/// <summary>The bytes of a picture, kept once under their hash.</summary>
public sealed class PhotoRow
{
    public required string JobId { get; init; }

    /// <summary>SHA-256 of the bytes, hexadecimal.</summary>
    public required string Sha { get; init; }

    public required byte[] Bytes { get; init; }
}
