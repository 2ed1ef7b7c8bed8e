// What Hand off's sentence says of the sheet, the tool and the paper pattern.
#pragma once

#include "core/cut/material_card.h"
#include "ui/job_model.h"

namespace ink::ui {

class SentenceBar;

/// Keys of the phrases, and of the leaves under them.
inline const QString kNamesKey = QStringLiteral("names");
inline const QString kMaterialKey = QStringLiteral("material");
inline const QString kApartKey = QStringLiteral("apart");
inline const QString kFramesKey = QStringLiteral("frames");
inline const QString kToolKey = QStringLiteral("tool");
inline const QString kBorderKey = QStringLiteral("border");
inline const QString kPaperKey = QStringLiteral("paper");
inline const QString kBlankKey = QStringLiteral("blank");

void saySheet(SentenceBar& sentence, const Job& job, const MaterialCard& material);
void sayPattern(SentenceBar& sentence, const Job& job);

} // namespace ink::ui
