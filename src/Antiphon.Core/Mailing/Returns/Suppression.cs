namespace Antiphon.Core.Mailing.Returns;

/// <summary>Why an address gets no mail although nobody ended it.</summary>
public enum Suppression
{
    /// <summary>Mails came back for good.</summary>
    Bounce,

    /// <summary>Its owner told their mail service that the mails are unwanted.</summary>
    Complaint,
}
